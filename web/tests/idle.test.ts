import { afterEach, beforeEach, describe, expect, test, vi } from "vitest";
import { whenIdle } from "../src/shell/idle";

describe("what can wait", () => {
  beforeEach(() => vi.useFakeTimers());
  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  test("is left to the browser, which is given a time by which it is done", () => {
    const asked = vi.fn();
    vi.stubGlobal("window", { requestIdleCallback: asked });
    const what = () => {};
    whenIdle(what);
    expect(asked).toHaveBeenCalledWith(what, { timeout: 2000 });
  });

  test("waits a second where a browser does not know when it is idle", () => {
    vi.stubGlobal("window", {});
    const what = vi.fn();
    whenIdle(what);
    vi.advanceTimersByTime(999);
    expect(what).not.toHaveBeenCalled();
    vi.advanceTimersByTime(1);
    expect(what).toHaveBeenCalledOnce();
  });
});
