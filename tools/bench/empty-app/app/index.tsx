import { useState } from 'react';
import { Pressable, Text, View } from 'react-native';

/** An empty page of the framework: one thing to touch, and what the touch shows. It is the floor the app is measured against. */
export default function Empty() {
	const [isTouched, setTouched] = useState(false);
	return (
		<View>
			<Text>An empty page of the framework.</Text>
			<Pressable testID="touch" onPress={() => setTouched(true)}>
				<Text>Touch</Text>
			</Pressable>
			{isTouched ? <Text testID="touched">Touched</Text> : null}
		</View>
	);
}
