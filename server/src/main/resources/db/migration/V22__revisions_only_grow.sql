-- An answer that is typed anew after it was taken out has another revision than the one before.
create sequence answer_revision start with (select coalesce(max(revision), 0) + 1 from marked_answer);
