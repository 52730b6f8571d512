/** Benchmarks of the core and of the running server; kept apart from the tests. */
package looseknit.bench;
