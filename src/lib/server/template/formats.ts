/** File formats of a cutting template, with their media types. */
export const TEMPLATE_TYPES = { pdf: 'application/pdf', svg: 'image/svg+xml', dxf: 'image/vnd.dxf' } as const;
export type TemplateFormat = keyof typeof TEMPLATE_TYPES;
