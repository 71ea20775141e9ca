package hopsel.web;

/** Beans of the running application, for tests in other packages. */
public final class TestContext {

    private TestContext() {}

    /** The one bean of that type. */
    public static <T> T bean(Class<T> type) {
        return RunningApplication.get().context.getBean(type);
    }
}
