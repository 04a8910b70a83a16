/** The files that a template to cut by comes as. */
export const match = (param: string): param is 'pdf' | 'svg' | 'dxf' => ['pdf', 'svg', 'dxf'].includes(param);
