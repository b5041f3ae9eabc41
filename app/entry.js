// The start of the app in the browser. It takes the router and no more of the framework than that needs: the framework's own
// start brings page heads and native modules along, which this app does without.
import '@expo/metro-runtime';
import 'expo/src/async-require/index';
import './web/parts';
import { ctx } from 'expo-router/_ctx';
import { ExpoRoot } from 'expo-router/build/ExpoRoot';
import { createElement } from 'react';
import { AppRegistry } from 'react-native';

AppRegistry.registerComponent('main', () => () => createElement(ExpoRoot, { context: ctx }));
AppRegistry.runApplication('main', {
	rootTag: document.getElementById('root'),
	// A page that was drawn ahead is taken over as it stands.
	hydrate: globalThis.__EXPO_ROUTER_HYDRATE__ === true,
});
