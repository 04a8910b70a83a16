import { env } from 'node:process';
import { toString as qrCode } from 'qrcode';

/** Address of a page for another device on the shop's network, and its QR code. */
export interface Elsewhere {
  readonly address: string;
  /** Image as a data URL. */
  readonly code: string;
  readonly isSecure: boolean;
}

/** Returns the address of a page for other devices, or `null` if the application is open to this computer only. */
export async function codeOfAddress(path: string): Promise<Elsewhere | null> {
  const [first] = (env.KNIFE_TRAY_ADDRESSES ?? '').split(' ').filter(Boolean);
  if (first === undefined) return null;
  const address = first + path;
  const svg = await qrCode(address, { type: 'svg', margin: 2 });
  return { address, code: `data:image/svg+xml,${encodeURIComponent(svg)}`, isSecure: address.startsWith('https:') };
}
