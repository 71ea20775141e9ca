alter table air_event drop column kind, drop column activity, drop column seconds, drop column text, alter column event drop default;
