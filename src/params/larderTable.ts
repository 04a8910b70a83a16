/** The larder's tables by their names in addresses. */
export const match = (param: string): param is 'larder' | 'prices' => param === 'larder' || param === 'prices';
