/** API, persistence and sign-in around the core; serves the built web. */
package dev.jubilee.server;
