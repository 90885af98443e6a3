import Link from 'next/link';

export default function NotFound() {
  return (
    <main style={{ padding: 48 }}>
      <h1>There is nothing here</h1>
      <p>The page you asked for does not exist.</p>
      <p>
        <Link href="/">Go to the bench</Link>
      </p>
    </main>
  );
}
