/** What is put on paper: documents and vector drawings of visits and units, from the same geometry as the screen. Pure: no I/O. */
export { figureBar } from './drawings/figureBar';
export type { Block, OwnerFigure, VisitDocument } from './document/block';
export type { DocumentSource } from './document/facts';
export { momentsIn } from './document/moment';
export { READING_COLUMNS, readingsCsv } from './document/readingsCsv';
export { compareBlocks, type CompareSource } from './document/compare';
export { visitDocument } from './document/visitDocument';
export { airwayDrawing } from './drawings/airwayDrawing';
export { crossingDrawing } from './drawings/crossingDrawing';
export { driveDrawing } from './drawings/driveDrawing';
export { ladderDrawing } from './drawings/ladderDrawing';
export { blocksHtml, documentHtml, documentStyle, type PaperSize } from './html/documentHtml';
export { qrDrawing, qrPath } from './label/qr';
export { LABEL_SIZES, labelDrawing, labelLines, type LabelSize, PT_PER_MM } from './label/unitLabel';
export { type Drawing, INK, type Shape, verdictMark } from './shapes';
export { isOurs, svgOf } from './svg';
export { documentText } from './text/documentText';
