import fc from 'fast-check';

// A failing property reports within bounded time, even where a smaller counterexample is long to find.
fc.configureGlobal({ interruptAfterTimeLimit: 60_000, markInterruptAsFailure: true });
