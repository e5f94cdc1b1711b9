import { BarcodeDetector, prepareZXingModule } from "barcode-detector/ponyfill";
import wasmUrl from "zxing-wasm/reader/zxing_reader.wasm?url";

/** Reads QR codes and pack barcodes from a picture; fetched only when somebody scans. */
export async function makeReader(): Promise<(film: HTMLVideoElement) => Promise<string[]>> {
  prepareZXingModule({
    overrides: { locateFile: (path: string) => (path.endsWith(".wasm") ? wasmUrl : path) },
  });
  const detector = new BarcodeDetector({
    formats: ["qr_code", "ean_13", "ean_8", "upc_a", "itf"],
  });
  return async (film) => {
    if (film.readyState < HTMLMediaElement.HAVE_CURRENT_DATA) return [];
    const found = await detector.detect(film);
    return found.map((code) => code.rawValue);
  };
}
