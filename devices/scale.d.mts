import type { Server } from 'node:http';
export function serveScale(at?: { host?: string; port?: number }): Promise<Server>;
