import { Component, type ReactNode } from "react";
import { ErrorNotice } from "../shared/ErrorNotice";

interface Props {
  /** Another one of these is another page: it is tried afresh. */
  page: string;
  children: ReactNode;
}

interface State {
  page: string;
  error?: Error;
}

/** One record that cannot be shown must not blank the rest. */
export class ErrorBoundary extends Component<Props, State> {
  override state: State = { page: this.props.page };

  static getDerivedStateFromError(error: Error): Partial<State> {
    return { error };
  }

  static getDerivedStateFromProps(props: Props, state: State): State | null {
    return props.page === state.page ? null : { page: props.page, error: undefined };
  }

  override render() {
    if (!this.state.error) return this.props.children;
    return (
      <>
        <h1>This page cannot be shown</h1>
        <ErrorNotice error={this.state.error} onRetry={() => window.location.reload()} />
      </>
    );
  }
}
