CREATE FUNCTION refuse_rewriting() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  RAISE EXCEPTION 'rows of % are never rewritten: add a correction', TG_TABLE_NAME;
END
$$;
--> statement-breakpoint
CREATE TRIGGER events_append_only BEFORE UPDATE OR DELETE ON "events" FOR EACH ROW EXECUTE FUNCTION refuse_rewriting();
--> statement-breakpoint
CREATE TRIGGER changes_append_only BEFORE UPDATE OR DELETE ON "changes" FOR EACH ROW EXECUTE FUNCTION refuse_rewriting();
