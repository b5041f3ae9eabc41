declare module '*.ttf' {
	const asset: number;
	export default asset;
}
declare module '*.woff2' {
	const asset: number;
	export default asset;
}
