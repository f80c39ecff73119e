/** Reads codes beside the page, one picture after another. */
export function makeDecoder() {
  let worker: Worker | null = null;
  return {
    /** The text of the code in a picture, null where there is none. */
    read: (picture: ImageData): Promise<string | null> =>
      new Promise((resolve, reject) => {
        worker ??= new Worker(new URL('./decode.worker.ts', import.meta.url), { type: 'module' });
        worker.onmessage = ({ data }: MessageEvent<{ text?: string | null; trouble?: string }>) => {
          if (data.trouble === undefined) resolve(data.text ?? null);
          else reject(new Error(data.trouble));
        };
        worker.onerror = () => reject(new Error('The reader of codes did not start.'));
        worker.postMessage(picture, [picture.data.buffer]);
      }),
    stop: () => {
      worker?.terminate();
      worker = null;
    },
  };
}

/** Of a picture at most so many pixels wide or high: more tells a code no better and takes longer. */
const MOST_PIXELS = 1600;

/** The pixels of a picture or a frame; null while it has none. */
export function pixelsOf(source: HTMLVideoElement | ImageBitmap): ImageData | null {
  const [width, height] = source instanceof HTMLVideoElement ? [source.videoWidth, source.videoHeight] : [source.width, source.height];
  if (width === 0 || height === 0) return null;
  const scale = Math.min(1, MOST_PIXELS / Math.max(width, height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(width * scale);
  canvas.height = Math.round(height * scale);
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (!context) return null;
  context.drawImage(source, 0, 0, canvas.width, canvas.height);
  return context.getImageData(0, 0, canvas.width, canvas.height);
}
