export { figuresOf, type VisitFigures } from './figures';
export { type FilterReading, filterTrend, type FilterTrend } from './filterTrend';
export { type FiguresAt, trendSeries, type TrendSeries } from './series';
export { unitFilterTrend } from './unitFilter';
