import { minutesTo, type Stand } from "./site";

/** What has come dry since it was last looked at: the surfaces whose next step may begin now and could not then. */
export const driedSince = (stands: readonly Stand[], then: string, now: string): Stand[] =>
  stands.filter((s) => s.step && s.from && minutesTo(s.from, then) > 0 && minutesTo(s.from, now) === 0);

const key = "tell-dry";

/** Whether this device calls when a coat has come dry: it does until it is told not to. */
export const calling = {
  get: () => localStorage.getItem(key) !== "no",
  set: (on: boolean) => localStorage.setItem(key, on ? "yes" : "no"),
};

/** Shakes the device and sounds two short tones, as far as it can do either. */
export function call() {
  navigator.vibrate?.([200, 100, 200]);
  const Audio = window.AudioContext;
  if (!Audio) return;
  const audio = new Audio();
  for (const at of [0, 0.35]) {
    const tone = audio.createOscillator();
    const level = audio.createGain();
    tone.frequency.value = 660;
    level.gain.setValueAtTime(0.2, audio.currentTime + at);
    level.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + at + 0.25);
    tone.connect(level).connect(audio.destination);
    tone.start(audio.currentTime + at);
    tone.stop(audio.currentTime + at + 0.3);
    if (at > 0) tone.onended = () => void audio.close();
  }
}
