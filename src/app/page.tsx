import { redirect } from 'next/navigation';
import { connection } from 'next/server';

/** Leads to a bench: the demo when started by `npm run demo`, else the user's own. */
export default async function Home() {
  await connection();
  redirect(process.env.LUCKY_SHEET_BENCH === 'demo' ? '/demo' : '/own');
}
