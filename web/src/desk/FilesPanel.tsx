export function FilesPanel({ id }: { id: string; onTake: (name: string, text: string) => void }) {
  return <p>{id}</p>;
}
