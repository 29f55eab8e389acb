/** Whose rows a request may touch: held by Hibernate and by PostgreSQL, not by each query. */
package dev.jubilee.server.tenant;
