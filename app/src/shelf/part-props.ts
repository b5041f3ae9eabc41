/** What a part of the Shelf is given: its title, and what the address brings to its fields. */
export type PartProps<Fields> = {
	readonly title: string;
	readonly link: Readonly<Partial<Record<keyof Fields, string | undefined>>>;
};
