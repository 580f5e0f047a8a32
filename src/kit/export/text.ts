/** Everything that `kit/export` says, in one place: a translation is another object of this shape. */
export const WORDS = {
  savePicture: {
    noPictureMessage: (message: string) => `The picture could not be saved: ${message}`,
    saveAsPng: 'Save as PNG',
    saveAsSvg: 'Save as SVG',
    copyAsPng: 'Copy as PNG',
    pictureCopied: 'Picture copied',
    saveThePictureName: (name: string) => `Save the picture: ${name}`,
    saveOrCopyThisPicture: 'Save or copy this picture',
  },
  saveTable: {
    saveAsCsvName: (name: string) => `Save as CSV: ${name}`,
    saveTheTableAsCsv: 'Save the table as CSV',
    csv: 'CSV',
  },
  useSaveCsv: {
    theTableCouldNotBe: 'The table could not be saved because part of the app did not load. Try again.',
  },
  svg: { notOnScreenYet: 'the drawing is not on screen yet: try again', noPng: 'the browser made no PNG' },
};
