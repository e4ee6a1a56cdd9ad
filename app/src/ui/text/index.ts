export { Heading, Txt } from './Txt';
export { ToldAt } from './ToldAt';
export { clockText, dateText, longDateText, momentText, yearDateText } from './dates';
