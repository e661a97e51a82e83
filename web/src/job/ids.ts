/**
 * A name that nobody else has: hexadecimal digits, two for each byte. By getRandomValues, as the shorter way is only there on encrypted
 * addresses and loopback, and the pages also run on a trusted network.
 */
export const freshId = (bytes = 16) =>
  Array.from(crypto.getRandomValues(new Uint8Array(bytes)), (b) => b.toString(16).padStart(2, "0")).join("");
