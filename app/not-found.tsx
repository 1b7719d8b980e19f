import Link from "next/link";

export default function NotFound() {
  return (
    <div className="max-w-xl py-16">
      <h1 className="text-3xl">Nothing stands here</h1>
      <p className="my-4">The address leads to no bike and no screen. Nothing was lost.</p>
      <Link href="/" className="font-semibold underline">
        Back to the rack
      </Link>
    </div>
  );
}
