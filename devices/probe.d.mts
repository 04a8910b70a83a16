import type { Server } from 'node:http';
export function serveProbe(at?: { host?: string; port?: number }): Promise<Server>;
