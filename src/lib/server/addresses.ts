import { env } from 'node:process';
import { toString as qrCode } from 'qrcode';

/** Where another device of the shop's network finds a page, as an address and as a code to scan. */
export interface Elsewhere {
  readonly address: string;
  /** A picture, as a data address. */
  readonly code: string;
  readonly isSecure: boolean;
}

/** The address of a page for other devices, or null where the application is open to this machine only. */
export async function codeOfAddress(path: string): Promise<Elsewhere | null> {
  const [first] = (env.KNIFE_TRAY_ADDRESSES ?? '').split(' ').filter(Boolean);
  if (first === undefined) return null;
  const address = first + path;
  const svg = await qrCode(address, { type: 'svg', margin: 2 });
  return { address, code: `data:image/svg+xml,${encodeURIComponent(svg)}`, isSecure: address.startsWith('https:') };
}
