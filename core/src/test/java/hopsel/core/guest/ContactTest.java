package hopsel.core.guest;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How somebody is reached, read back from one line. */
class ContactTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "ada@quay.example, +351 900 000 | ada@quay.example | +351 900 000",
                "ada@quay.example | ada@quay.example | ''",
                "900 000 | '' | 900 000",
                "'' | '' | ''",
                "call me @ the quay | '' | call me @ the quay",
                "Ada <ada@quay.example> | ada@quay.example | Ada <>",
            })
    void anAddressForLettersIsFoundAndTheRestIsKept(String said, String mail, String phone) {
        assertThat(Contact.mail(said)).isEqualTo(mail);
        assertThat(Contact.phone(said)).isEqualTo(phone);
    }

    @ParameterizedTest
    @CsvSource({"ada@quay.example,900", "'',900", "ada@quay.example,''"})
    void whatIsWrittenReadsBack(String mail, String phone) {
        assertThat(Contact.mail(Contact.of(mail, phone))).isEqualTo(mail);
        assertThat(Contact.phone(Contact.of(mail, phone))).isEqualTo(phone);
    }
}
