import { Backup } from "@/screens/backup/Backup";

export default function BackupPage() {
  return <Backup />;
}
