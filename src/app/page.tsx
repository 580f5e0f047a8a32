import { redirect } from 'next/navigation';

/** The work begins at Gears, so far the first stage there is. */
export default function Home() {
  redirect('/gears');
}
