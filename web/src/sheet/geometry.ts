import { api, ask, type Refused, type Schemas } from '../api/client';
import { keys } from '../api/keys';
import { useQuery } from '../app/useQuery';

export type Geometry = Schemas['GeometryView'];

/** How marks are drawn in their squares: the table that printed pages are drawn from too. */
export function useGeometry(): Geometry | undefined {
  return useQuery<Geometry, Refused>({
    queryKey: keys.sheet.geometry,
    queryFn: () => ask(api.GET('/api/geometry')),
    staleTime: Infinity,
    gcTime: Infinity,
  }).data;
}

const middle = { x: 0.5, y: 0.5, begins: false };

/** Where in its square a text stands. */
export const placeOf = (geometry: Geometry, anchor: string) => geometry.anchors[anchor] ?? middle;

/** The height of a text, in squares. */
export const heightOf = (geometry: Geometry, size: string) => geometry.heights[size] ?? 0.76;
