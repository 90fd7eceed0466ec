import { gunzipSync, strFromU8 } from 'fflate';

/** Bytes of the nonce that each sealed piece begins with (AES-GCM). */
const NONCE = 12;

/** A key that opens, and that no script reads again. */
export function keyOf(base64: string): Promise<CryptoKey> {
  return crypto.subtle.importKey('raw', bytesOf(base64), 'AES-GCM', false, ['decrypt']);
}

/** @param piece bytes of a whole sealed piece */
export async function opened(key: CryptoKey, sealed: Blob, piece: number): Promise<Blob> {
  const parts: ArrayBuffer[] = [];
  for (let at = 0; at < sealed.size; at += piece) {
    const bytes = await sealed.slice(at, at + piece).arrayBuffer();
    parts.push(await crypto.subtle.decrypt({ name: 'AES-GCM', iv: bytes.slice(0, NONCE) }, key, bytes.slice(NONCE)));
  }
  return new Blob(parts);
}

/** What was written as JSON, packed and sealed. */
export async function openedJson<Content>(key: CryptoKey, base64: string, piece: number): Promise<Content> {
  const packed = await opened(key, new Blob([bytesOf(base64)]), piece);
  return JSON.parse(strFromU8(gunzipSync(new Uint8Array(await packed.arrayBuffer())))) as Content;
}

/** What was written as JSON and sealed, under a name that may stand in an address. */
export async function openedReference<Content>(key: CryptoKey, reference: string, piece: number): Promise<Content> {
  const base64 = reference.replaceAll('-', '+').replaceAll('_', '/');
  return JSON.parse(await (await opened(key, new Blob([bytesOf(base64)]), piece)).text()) as Content;
}

function bytesOf(base64: string): Uint8Array<ArrayBuffer> {
  return Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0));
}
