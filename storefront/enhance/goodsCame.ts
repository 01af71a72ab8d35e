/** Told of the document once cards have come to a page that were not part of it. */
export const GOODS_CAME = 'goods-came';

export const tellGoodsCame = (): boolean => document.dispatchEvent(new Event(GOODS_CAME));
