export { SHOP_CARD_FORM, type ShopCard } from './cardForm';
