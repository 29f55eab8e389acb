/** What PostgreSQL alone can do; all native SQL of the server is here. */
package dev.jubilee.server.postgres;
