export { AIR_ODDS_FORM, ODDS_FORM, oddsFaults, usualOdds } from './oddsForm';
