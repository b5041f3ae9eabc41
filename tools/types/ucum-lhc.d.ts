declare module '@lhncbc/ucum-lhc' {
	type UcumUnit = { readonly magnitude_: number };
	type Utils = {
		getSpecifiedUnit(
			code: string,
			mode: 'validate',
		): { readonly unit: UcumUnit | null; readonly retMsg: readonly string[] };
		convertUnitTo(from: string, value: number, to: string): { readonly status: string; readonly toVal: number | null };
	};
	export const UcumLhcUtils: { getInstance(): Utils };
}
