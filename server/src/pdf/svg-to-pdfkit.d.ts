declare module 'svg-to-pdfkit' {
  /** Draws SVG markup into a document of pdfkit. */
  export default function svgToPdf(
    document: PDFKit.PDFDocument,
    svg: string,
    x: number,
    y: number,
    options?: {
      readonly width?: number;
      readonly height?: number;
      readonly assumePt?: boolean;
      readonly fontCallback?: (family: string, bold: boolean, italic: boolean) => string;
      readonly warningCallback?: (warning: string) => void;
    },
  ): void;
}
