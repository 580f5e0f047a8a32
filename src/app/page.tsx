import { redirect } from 'next/navigation';
import { FIRST_PAGE } from '../offline/places';

/** The work begins at Gears. */
export default function Home() {
  redirect(FIRST_PAGE);
}
