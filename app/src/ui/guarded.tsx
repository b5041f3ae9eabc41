import { Component, type ReactNode } from 'react';

type Props = {
	/** What is shown where something in it cannot be drawn; `again` tries once more. */
	readonly fallback: (again: () => void) => ReactNode;
	/** When this changes, what failed is drawn once more. */
	readonly of: string;
	readonly children: ReactNode;
};

type State = { readonly failed: boolean; readonly of: string };

/** Keeps what cannot be drawn from taking everything round it along. */
export class Guarded extends Component<Props, State> {
	override state: State = { failed: false, of: this.props.of };

	static getDerivedStateFromError(): Partial<State> {
		return { failed: true };
	}

	static getDerivedStateFromProps({ of }: Props, state: State): Partial<State> | null {
		return of === state.of ? null : { failed: false, of };
	}

	override render(): ReactNode {
		return this.state.failed ? this.props.fallback(() => this.setState({ failed: false })) : this.props.children;
	}
}
