import { useAppSelector } from '../store/store';
import { sayKeeping } from '../sync/said-keeping';
import { Words } from '../ui/words';

/** Where the work is kept, said quietly. */
export function KeptWhere() {
	const says = useAppSelector((state) => sayKeeping(state.sync));
	return (
		<Words size="small" tone="soft" role="status" aria-live="polite" testID="kept">
			{says}
		</Words>
	);
}
