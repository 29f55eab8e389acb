-- After every start. No policy binds a superuser, so that a server which connects as one takes on
-- this role. Roles are the whole cluster's: another database may have made it, perhaps just now.
DO $$
BEGIN
    IF (SELECT rolsuper FROM pg_roles WHERE rolname = session_user) THEN
        BEGIN
            CREATE ROLE jubilee_rows NOLOGIN;
        EXCEPTION WHEN duplicate_object OR unique_violation THEN
            NULL;
        END;
        GRANT USAGE ON SCHEMA public TO jubilee_rows;
        GRANT SELECT, INSERT, UPDATE, DELETE ON ALL TABLES IN SCHEMA public TO jubilee_rows;
        GRANT USAGE ON ALL SEQUENCES IN SCHEMA public TO jubilee_rows;
    END IF;
END $$;
