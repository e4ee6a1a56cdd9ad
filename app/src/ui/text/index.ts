export { Heading, Txt } from './Txt';
export { ToldAt } from './ToldAt';
