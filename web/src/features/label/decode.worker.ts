import wasm from 'zxing-wasm/reader/zxing_reader.wasm?url';
import { prepareZXingModule, readBarcodes } from 'zxing-wasm/reader';

// the decoder ships with the app and comes from where the app comes from
prepareZXingModule({ overrides: { locateFile: (path: string, prefix: string) => (path.endsWith('.wasm') ? wasm : prefix + path) } });

self.onmessage = ({ data }: MessageEvent<ImageData>) => {
  readBarcodes(data, { formats: ['QRCode'], tryHarder: true, maxNumberOfSymbols: 1 })
    .then(([first]) => self.postMessage({ text: first?.text ?? null }))
    .catch((e: unknown) => self.postMessage({ trouble: e instanceof Error ? e.message : String(e) }));
};
