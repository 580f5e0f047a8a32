const XML = ['.gpx', '.tcx', '.kml'];

/** Files of rides and routes that the app reads: media types that systems give them, with their endings. */
export const RIDE_FILE_TYPES: Record<string, string[]> = {
  'application/gpx+xml': ['.gpx'],
  'application/xml': XML,
  'text/xml': XML,
  'application/octet-stream': ['.fit', '.kmz'],
  'application/geo+json': ['.geojson'],
  'text/csv': ['.csv'],
  'application/zip': ['.zip'],
  'application/gzip': ['.gz'],
};

/** Endings that a picker of ride files offers; rides also come as text and as JSON, which other things come as too. */
export const RIDE_FILE_ENDINGS: readonly string[] = [
  ...new Set([...Object.values(RIDE_FILE_TYPES).flat(), '.txt', '.json']),
];
