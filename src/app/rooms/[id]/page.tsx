import { redirect } from 'next/navigation';

export default async function RoomPage({ params }: { params: Promise<{ id: string }> }) {
  redirect(`/rooms/${(await params).id}/measure`);
}
