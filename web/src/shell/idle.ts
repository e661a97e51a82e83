/** Does something when the page has nothing better to do, within two seconds: what comes next must not hold up what is in sight. */
export const whenIdle = (what: () => void) =>
  "requestIdleCallback" in window
    ? void window.requestIdleCallback(what, { timeout: 2000 })
    : void globalThis.setTimeout(what, 1000);
