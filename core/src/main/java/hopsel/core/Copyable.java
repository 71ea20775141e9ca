package hopsel.core;

import io.soabase.recordbuilder.core.RecordBuilder;

import java.lang.annotation.ElementType;
import java.lang.annotation.Inherited;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * A record of which changed copies are made. The builder, and a {@code with…} for each member, are written by the
 * compiler, so that a new member is named once; the record implements the builder's {@code With}. What nobody gave is
 * an empty list or an empty {@code Optional}.
 */
@RecordBuilder.Template(
        options = @RecordBuilder.Options(useUnmodifiableCollections = true, emptyDefaultForOptional = true))
@Retention(RetentionPolicy.SOURCE)
@Target(ElementType.TYPE)
@Inherited
public @interface Copyable {}
