export default function BarePage() {
  return <p>bare</p>;
}
