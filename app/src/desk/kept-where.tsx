import { useAppSelector } from '../store/store';
import type { Keeping } from '../sync/sync-slice';
import { Words } from '../ui/words';

const SAYS: Readonly<Record<Keeping, string>> = {
	both: 'Kept on this device and on the server.',
	sending: 'Kept on this device; on its way to the server.',
	device: 'Kept on this device. The server is away; the work is sent when it is back.',
	refused: 'Kept on this device. The server could not take the last change.',
};

/** Where the work is kept, said quietly. */
export function KeptWhere() {
	const keeping = useAppSelector((state) => state.sync.keeping);
	return (
		<Words size="small" tone="soft" role="status" aria-live="polite" testID="kept">
			{SAYS[keeping]}
		</Words>
	);
}
