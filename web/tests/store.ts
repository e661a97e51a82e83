import { beforeEach } from "vitest";

/** A browser's store of texts, as far as the pages use it: a bare object whose own keys are what is kept. */
class Store {
  getItem(key: string): string | null {
    return Object.hasOwn(this, key) ? ((this as unknown as Record<string, string>)[key] ?? null) : null;
  }
  setItem(key: string, value: string) {
    Object.defineProperty(this, key, { value: String(value), enumerable: true, configurable: true, writable: true });
  }
  removeItem(key: string) {
    delete (this as unknown as Record<string, string>)[key];
  }
  clear() {
    for (const key of Object.keys(this)) this.removeItem(key);
  }
}

Object.defineProperty(globalThis, "localStorage", { value: new Store(), configurable: true, writable: true });

beforeEach(() => localStorage.clear());
