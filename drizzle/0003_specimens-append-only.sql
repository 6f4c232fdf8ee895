CREATE TRIGGER specimens_append_only BEFORE UPDATE OR DELETE ON "specimens" FOR EACH ROW EXECUTE FUNCTION refuse_rewriting();
