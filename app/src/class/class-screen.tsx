import { useRouter } from 'expo-router';
import { __iconData as Back } from 'lucide-react-native/icons/arrow-left';
import { useMemo } from 'react';
import { useAppSelector } from '../store/store';
import { Button } from '../ui/button';
import { Notice } from '../ui/notice';
import { Page } from '../ui/page';
import { myClasses } from '../work/my-classes';
import { SeatPart } from './seat-part';
import { TaughtPage } from './taught-page';
import * as words from './words';

/** The way back to all classes. */
export function ToClasses() {
	const router = useRouter();
	return (
		<Button label={words.allClasses} icon={Back} onPress={() => router.navigate('/class' as '/')} testID="to-classes" />
	);
}

/** A class of this desk: as its teacher sees it, or as the student at a seat of it does. */
export function ClassScreen({ id }: { readonly id: string }) {
	const works = useAppSelector((state) => state.works);
	const { teaches, seats } = useMemo(() => myClasses(works), [works]);
	const taught = teaches.find((one) => one.id === id);
	const seat = seats.find((one) => one.id === id);
	if (taught) return <TaughtPage taught={taught} tools={<ToClasses />} />;
	return (
		<Page
			title={seat?.title ?? words.classes}
			says={seat && words.youAre(seat.says)}
			testID="class"
			tools={<ToClasses />}
		>
			{seat ? <SeatPart seat={seat} /> : <Notice>{words.notInThisClass}</Notice>}
		</Page>
	);
}
