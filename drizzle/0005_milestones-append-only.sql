CREATE TRIGGER milestones_append_only BEFORE UPDATE OR DELETE ON "milestones" FOR EACH ROW EXECUTE FUNCTION refuse_rewriting();
