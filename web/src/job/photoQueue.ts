import { PhotoQueue } from "../sync/photos";

const Again = 10_000;

/** The photos of this browser that are on their way. */
export const photoQueue = new PhotoQueue("allsound-photos", async (photo) => {
  const query = new URLSearchParams({
    id: photo.id,
    stage: photo.stage,
    wet: String(photo.wet),
    caption: photo.caption,
    ...(photo.pairOf === undefined ? {} : { pairOf: photo.pairOf }),
  });
  try {
    const answer = await fetch(`/api/jobs/${photo.job}/surfaces/${photo.surface}/photos?${query}`, {
      method: "POST",
      headers: { "content-type": photo.type || "application/octet-stream" },
      body: photo.bytes,
      signal: AbortSignal.timeout(120_000),
    });
    const body = (await answer.json()) as { version?: number; detail?: string; title?: string };
    if (answer.ok) return { kind: "saved", version: body.version ?? 0 };
    if (answer.status === 408 || answer.status === 429 || answer.status >= 500) return { kind: "down" };
    return { kind: "refused", message: body.detail ?? body.title ?? `refused (${answer.status})` };
  } catch {
    return { kind: "down" };
  }
});

window.addEventListener("online", () => void photoQueue.flush());
window.setInterval(() => void photoQueue.flush(), Again);
void photoQueue.flush();
