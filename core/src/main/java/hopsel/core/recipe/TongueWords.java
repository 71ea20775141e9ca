package hopsel.core.recipe;

/**
 * Words of kitchens, in English, German, French, Spanish and Italian: a line each, forms of one language parted by
 * commas. Common dictionary knowledge.
 */
final class TongueWords {

    /** English | German | French | Spanish | Italian. */
    static final String TABLE =
            """
            ingredients | Zutaten | ingrédients | ingredientes | ingredienti
            method | Zubereitung, Anleitung | préparation, étapes | preparación, elaboración | preparazione, procedimento
            serves | ergibt, für | pour | para | per
            people | Personen, Portionen | personnes | personas, raciones, porciones | persone, porzioni
            tips | Tipps, Tipp | astuces, astuce, conseils | consejos, consejo | consigli, consiglio
            for the | für den, für die, für das | pour la, pour le, pour les | para la, para el, para los | per la, per il, per gli, per l'
            tbsp | EL, Esslöffel | cuillères à soupe, cuillère à soupe, c. à soupe, c. à s., càs | cucharadas soperas, cucharadas, cucharada | cucchiai, cucchiaio
            tsp | TL, Teelöffel | cuillères à café, cuillère à café, c. à café, c. à c., càc | cucharaditas, cucharadita | cucchiaini, cucchiaino
            warm | lauwarmes, lauwarm, warmes | tiède | tibia, tibio | tiepida, tiepido
            cold | eiskaltes, kaltes, kalte, kalt | froide, froid | fría, frío | fredda, freddo
            split peas | Schälerbsen | pois cassés | guisantes partidos | piselli spezzati
            pinch | Prise, Prisen, Msp. | pincée, pincées | pizca, pizcas | pizzico, pizzichi
            bunch | Bund, Bd. | botte, bouquet | manojo, manojos | mazzetto, mazzo
            can | Dose, Dosen | boîte, boîtes | lata, latas | scatola, scatole, lattina
            cup | Tasse, Tassen | tasse, tasses | taza, tazas | tazza, tazze
            piece | Stück | morceau | trozo, pieza | pezzo
            pack | Päckchen, Packung, Pck. | paquet, sachet | paquete, sobre | bustina, confezione
            glass | Glas | verre | vaso | bicchiere
            cloves garlic | Knoblauchzehen, Knoblauchzehe, Zehen Knoblauch, Zehe Knoblauch | gousses d'ail, gousse d'ail | dientes de ajo, diente de ajo | spicchi d'aglio, spicchio d'aglio
            to taste | nach Geschmack, nach Belieben | au goût, à votre goût | al gusto | q.b., quanto basta
            some | etwas, einige, ein paar | un peu de, un peu d', quelques | un poco de, unos, unas | un po' di
            a | ein, eine, einen, einem, einer | un, une | un, una | un, uno, una
            and | und | et | y, e | e, ed
            or | oder | ou | o | o, oppure
            with | mit | avec | con | con
            in | im, ins, in der, in die | dans, dans le, dans la | en, en el, en la | nel, nella, in
            at | bei | à | a | a
            until | bis | jusqu'à ce que, jusqu'à | hasta que, hasta | fino a quando, finché, fino a
            minutes | Minuten, Minute, Min. | minutes, minute | minutos, minuto | minuti, minuto
            hours | Stunden, Stunde, Std. | heures, heure | horas, hora | ore, ora
            overnight | über Nacht | toute la nuit, une nuit | toda la noche | per una notte, tutta la notte
            degrees | Grad | degrés | grados | gradi
            meanwhile | inzwischen, währenddessen, in der Zwischenzeit | pendant ce temps | mientras tanto | nel frattempo
            then | dann, danach, anschließend | puis, ensuite | luego, después | poi, quindi
            oven | Backofen, Ofen | four | horno | forno
            pan | Pfanne | poêle, sauteuse | sartén | padella
            pot | Topf | casserole, marmite | olla, cazuela | pentola
            fridge | Kühlschrank | réfrigérateur, frigo | nevera, frigorífico | frigorifero, frigo
            freezer | Gefrierfach, Gefrierschrank | congélateur | congelador | congelatore
            bowl | Schüssel | saladier, bol | bol, cuenco | ciotola
            blender | Mixer, Standmixer | mixeur, blender | batidora | frullatore
            hand blender | Pürierstab, Stabmixer | mixeur plongeant | batidora de mano | frullatore a immersione
            medium heat | mittlere Hitze, mittlerer Hitze, mittlerer Stufe | feu moyen | fuego medio | fuoco medio
            golden | goldbraun, goldgelb | doré, dorés, dorée, dorées | dorado, dorados, doradas, dorada | dorato, dorati, dorate, dorata
            soft | weich | tendre, tendres, fondants | tierno, tiernos, tiernas, blando | morbido, morbidi, morbide, tenero
            crisp | knusprig | croustillant, croustillants | crujiente, crujientes | croccante, croccanti
            finely | fein | finement | finamente, fino | finemente
            preheat | vorheizen | préchauffer, préchauffez | precalentar, precalienta | preriscaldare, scaldare
            heat | erhitzen, erwärmen | chauffer, faites chauffer, faire chauffer | calentar, calienta | riscaldare, scaldate
            soak | einweichen | tremper, faites tremper, faire tremper | remojar, poner en remojo | ammollare, mettere a bagno
            cut | schneiden, klein schneiden | couper, coupez | cortar, corta | tagliare, tagliate
            slice | in Scheiben schneiden | émincer, émincez, trancher | cortar en rodajas, rodajas | affettare, affettate
            dice | würfeln, in Würfel schneiden | couper en dés, en dés | cortar en dados, en dados | tagliare a dadini, a dadini
            chop | hacken | hacher, hachez | picar, pica | tritare, tritate
            peel | schälen | éplucher, épluchez, peler | pelar, pela | sbucciare, pelare, sbucciate
            grate | reiben | râper, râpez | rallar, ralla | grattugiare, grattugiate
            wash | waschen | laver, lavez | lavar, lava | lavare, lavate
            drain | abgießen, abtropfen lassen, abtropfen | égoutter, égouttez | escurrir, escurre | scolare, scolate
            sweat | anschwitzen, andünsten, dünsten, glasig dünsten | faire suer, suer | sofreír, pochar, sofríe | soffriggere, appassire
            fry | braten, anbraten | faire revenir, faites revenir, frire, poêler | freír, saltear, fríe | friggere, rosolare, saltare
            toast | rösten | griller à sec, torréfier | tostar, tuesta | tostare, tostate
            deglaze | ablöschen | déglacer, déglacez | desglasar | sfumare, sfumate
            boil | kochen, aufkochen | bouillir, faites bouillir, faire bouillir, cuire, faites cuire | hervir, cocer, cuece | bollire, cuocere, lessare, cuocete
            simmer | köcheln, köcheln lassen, schmoren | mijoter, laisser mijoter, laissez mijoter | cocer a fuego lento, a fuego lento | sobbollire, cuocere a fuoco lento
            blanch | blanchieren | blanchir, blanchissez | escaldar, blanquear | sbollentare
            steam | dämpfen | cuire à la vapeur, à la vapeur | cocer al vapor, al vapor | cuocere a vapore
            bake | backen | enfourner, cuire au four, enfournez | hornear, hornea | infornare, cuocere in forno, infornate
            grill | grillen | griller | asar a la parrilla | grigliare
            blend | pürieren, mixen | mixer, mixez | triturar, batir, tritura | frullare, frullate
            mix | mischen, vermengen, vermischen, verrühren, rühren, einrühren, unterrühren | mélanger, mélangez, incorporer, remuer | mezclar, mezcla, remover, incorporar | mescolare, mescolate, unire, amalgamare
            whisk | schlagen, aufschlagen | fouetter, battre | batir a mano, montar | sbattere, montare
            knead | kneten | pétrir, pétrissez | amasar, amasa | impastare, impastate
            roll out | ausrollen | étaler, abaisser, étalez | estirar, extender | stendere, stendete
            let rise | gehen lassen, aufgehen lassen | laisser lever, laissez lever | dejar levar, dejar fermentar | lasciare lievitare, lievitare
            let rest | ruhen lassen | laisser reposer, laissez reposer, reposer | dejar reposar, reposar | lasciare riposare, riposare
            marinate | marinieren, ziehen lassen | mariner, laisser mariner | marinar, macerar | marinare
            chill | kalt stellen, kühlen | réfrigérer, mettre au frais | enfriar en la nevera, refrigerar | raffreddare in frigo
            cool | abkühlen lassen, abkühlen | laisser refroidir, refroidir | dejar enfriar, enfriar | lasciare raffreddare, raffreddare
            add | zugeben, hinzufügen, dazugeben, geben | ajouter, ajoutez | añadir, agregar, añade | aggiungere, aggiungete
            season | würzen, abschmecken | assaisonner, assaisonnez | sazonar, salpimentar | condire, regolare di sale
            serve | servieren, anrichten | servir, servez | servir, sirve | servire, servite
            fill | füllen | farcir, garnir | rellenar | farcire, riempire
            chopped | gehackt, gehackte, gehackter | haché, hachée, hachés, hachées | picado, picada, picados, picadas | tritato, tritata, tritati
            fresh | frisch, frische, frischer, frisches | frais, fraîche, fraîches | fresco, fresca, frescos | fresco, fresca, freschi
            large | groß, große, großer | gros, grosse, grosses, grand, grande | grande, grandes | grande, grandi
            small | klein, kleine, kleiner | petit, petite, petits, petites | pequeño, pequeña | piccolo, piccola, piccoli
            cooked | gekocht, gekochte, gekochter, gegart | cuit, cuits, cuite, cuites | cocido, cocidos, cocida, cocidas | cotto, cotti, cotta, cotte, lessati
            drained | abgetropft, abgetropfte | égoutté, égouttés, égouttées | escurrido, escurridos | scolato, scolati
            soaked | eingeweicht, eingeweichte | trempé, trempés | remojado, remojados | ammollato, ammollati
            dried | getrocknet, getrocknete, getrockneter | séché, séchés, séchées | seco, secos, seca, secas | secco, secchi, secca, secche
            frozen | tiefgekühlt, tiefgekühlte, TK | surgelé, surgelés | congelado, congelados | surgelato, surgelati
            ripe | reif, reife, reifer | mûr, mûre, mûres | maduro, madura, maduros | maturo, matura, maturi
            sprig | Zweig, Zweige, Zweiglein | brin, brins, branche | ramita, ramitas | rametto, rametti
            slices | Scheiben, Scheibe | tranches, tranche | lonchas, rebanadas | fette, fetta
            pour | gießen, eingießen, aufgießen | verser, versez | verter, vierte | versare, versate
            wheat flour | Weizenmehl, Mehl | farine de blé, farine | harina de trigo, harina | farina 00, farina di grano, farina
            chickpea flour | Kichererbsenmehl | farine de pois chiches | harina de garbanzos | farina di ceci
            rye flour | Roggenmehl | farine de seigle | harina de centeno | farina di segale
            rice flour | Reismehl | farine de riz | harina de arroz | farina di riso
            cornflour | Speisestärke, Maisstärke | maïzena, fécule de maïs | maicena | amido di mais, maizena
            sugar | Zucker | sucre | azúcar | zucchero
            brown sugar | brauner Zucker | sucre roux, cassonade | azúcar moreno | zucchero di canna
            icing sugar | Puderzucker | sucre glace | azúcar glas | zucchero a velo
            salt | Salz | sel | sal | sale
            black pepper | Pfeffer | poivre | pimienta | pepe
            water | Wasser | eau | agua | acqua
            olive oil | Olivenöl | huile d'olive | aceite de oliva | olio d'oliva, olio extravergine d'oliva, olio evo, olio di oliva
            sunflower oil | Sonnenblumenöl | huile de tournesol | aceite de girasol | olio di girasole
            rapeseed oil | Rapsöl | huile de colza | aceite de colza | olio di colza
            sesame oil | Sesamöl | huile de sésame | aceite de sésamo | olio di sesamo
            oil | Öl | huile | aceite | olio
            vegan butter | vegane Butter, Margarine | margarine végétale, beurre végétal, margarine | margarina, mantequilla vegana | margarina, burro vegetale
            butter | Butter | beurre | mantequilla | burro
            eggs | Eier, Ei | oeufs, oeuf, œufs, œuf | huevos, huevo | uova, uovo
            milk | Milch | lait | leche | latte
            cream | Sahne | crème, crème fraîche | nata | panna
            cheese | Käse | fromage | queso | formaggio
            honey | Honig | miel | miel | miele
            soy milk | Sojamilch, Sojadrink | lait de soja | leche de soja, bebida de soja | latte di soia
            oat milk | Hafermilch, Haferdrink | lait d'avoine | leche de avena, bebida de avena | latte d'avena
            almond milk | Mandelmilch, Mandeldrink | lait d'amande | leche de almendras | latte di mandorle
            soy cream | Sojasahne | crème de soja | nata de soja | panna di soia
            oat cream | Hafersahne | crème d'avoine | nata de avena | panna d'avena
            coconut milk | Kokosmilch | lait de coco | leche de coco | latte di cocco
            vegetable stock | Gemüsebrühe, Gemüsebouillon | bouillon de légumes | caldo de verduras, caldo vegetal | brodo vegetale
            stock | Brühe | bouillon | caldo | brodo
            yeast | Hefe | levure | levadura | lievito di birra
            dried yeast | Trockenhefe | levure sèche, levure de boulanger | levadura seca | lievito secco
            baking powder | Backpulver | levure chimique | levadura química, polvo de hornear | lievito per dolci, lievito in polvere
            onions | Zwiebeln, Zwiebel | oignons, oignon | cebollas, cebolla | cipolle, cipolla
            red onion | rote Zwiebel, rote Zwiebeln | oignon rouge | cebolla roja, cebolla morada | cipolla rossa
            spring onions | Frühlingszwiebeln, Frühlingszwiebel | oignons nouveaux, cébettes | cebolletas, cebolleta | cipollotti, cipollotto
            shallots | Schalotten, Schalotte | échalotes, échalote | chalotas, chalota | scalogni, scalogno
            garlic | Knoblauch | ail | ajo | aglio
            leek | Lauch, Porree | poireau, poireaux | puerro, puerros | porro, porri
            carrots | Karotten, Möhren, Karotte, Möhre | carottes, carotte | zanahorias, zanahoria | carote, carota
            celery | Staudensellerie, Sellerie | céleri branche, céleri | apio | sedano
            celeriac | Knollensellerie | céleri-rave | apionabo | sedano rapa
            potatoes | Kartoffeln, Kartoffel | pommes de terre, pomme de terre | patatas, patata, papas | patate, patata
            sweet potatoes | Süßkartoffeln, Süßkartoffel | patates douces, patate douce | boniatos, boniato, batatas | patate dolci, patata dolce
            tomatoes | Tomaten, Tomate | tomates, tomate | tomates, tomate | pomodori, pomodoro
            tomato paste | Tomatenmark | concentré de tomates, concentré de tomate | concentrado de tomate | concentrato di pomodoro
            passata | passierte Tomaten | coulis de tomates | tomate triturado | passata di pomodoro
            bell pepper | Paprikaschote, Paprikaschoten, rote Paprika | poivron, poivrons | pimiento, pimientos | peperone, peperoni
            sweet paprika | Paprikapulver | paprika | pimentón dulce, pimentón | paprika
            red chilli | Chilischote, Chili | piment rouge, piment | guindilla, chile | peperoncino
            aubergines | Auberginen, Aubergine | aubergines, aubergine | berenjenas, berenjena | melanzane, melanzana
            courgettes | Zucchini | courgettes, courgette | calabacines, calabacín | zucchine, zucchina
            pumpkin | Kürbis | citrouille, potiron | calabaza | zucca
            mushrooms | Champignons, Pilze | champignons | champiñones, setas | funghi, champignon
            spinach | Spinat | épinards | espinacas | spinaci
            cabbage | Weißkohl, Kohl | chou blanc, chou | repollo, col | cavolo cappuccio, cavolo
            cauliflower | Blumenkohl | chou-fleur | coliflor | cavolfiore
            broccoli | Brokkoli | brocoli | brócoli | broccoli
            kale | Grünkohl | chou frisé, chou kale | col rizada | cavolo riccio
            peas | Erbsen | petits pois | guisantes | piselli
            green beans | grüne Bohnen | haricots verts | judías verdes | fagiolini
            cucumber | Gurke | concombre | pepino | cetriolo
            lettuce | Salat, Kopfsalat | laitue | lechuga | lattuga
            beetroot | Rote Bete, Rote Beete | betterave, betteraves | remolacha | barbabietola
            ginger | Ingwer | gingembre | jengibre | zenzero
            chickpeas | Kichererbsen | pois chiches | garbanzos | ceci
            red lentils | rote Linsen | lentilles corail | lentejas rojas | lenticchie rosse
            brown lentils | Linsen | lentilles | lentejas | lenticchie
            kidney beans | Kidneybohnen | haricots rouges | alubias rojas | fagioli rossi
            white beans | weiße Bohnen | haricots blancs | alubias blancas, alubias | fagioli cannellini, fagioli bianchi
            black beans | schwarze Bohnen | haricots noirs | alubias negras, frijoles negros | fagioli neri
            firm tofu | Tofu | tofu | tofu | tofu
            rice | Reis | riz | arroz | riso
            spaghetti | Spaghetti | spaghettis | espaguetis | spaghetti
            pasta | Nudeln | pâtes | pasta, macarrones | pasta
            bread | Brot | pain | pan de molde, barra de pan | pane
            breadcrumbs | Semmelbrösel, Paniermehl | chapelure | pan rallado | pangrattato
            rolled oats | Haferflocken | flocons d'avoine | copos de avena | fiocchi d'avena
            puff pastry | Blätterteig | pâte feuilletée | hojaldre | pasta sfoglia
            shortcrust pastry | Mürbeteig | pâte brisée | masa quebrada | pasta brisée, pasta frolla
            almonds | Mandeln | amandes | almendras | mandorle
            ground almonds | gemahlene Mandeln | poudre d'amandes, amandes en poudre | almendra molida | farina di mandorle
            walnuts | Walnüsse | noix | nueces | noci
            hazelnuts | Haselnüsse | noisettes | avellanas | nocciole
            cashews | Cashewkerne, Cashews | noix de cajou | anacardos | anacardi
            peanuts | Erdnüsse | cacahuètes | cacahuetes | arachidi
            peanut butter | Erdnussbutter, Erdnussmus | beurre de cacahuète | mantequilla de cacahuete, crema de cacahuete | burro di arachidi
            pine nuts | Pinienkerne | pignons de pin, pignons | piñones | pinoli
            sesame seeds | Sesam, Sesamsamen | graines de sésame, sésame | semillas de sésamo, sésamo | semi di sesamo, sesamo
            tahini | Tahin, Sesammus | tahin, purée de sésame | tahini | tahina
            sunflower seeds | Sonnenblumenkerne | graines de tournesol | pipas de girasol | semi di girasole
            pumpkin seeds | Kürbiskerne | graines de courge | pipas de calabaza | semi di zucca
            soy sauce | Sojasauce, Sojasoße | sauce soja | salsa de soja | salsa di soia
            mustard | Senf | moutarde | mostaza | senape
            cider vinegar | Apfelessig | vinaigre de cidre | vinagre de manzana | aceto di mele
            white wine vinegar | Weißweinessig, Essig | vinaigre de vin blanc, vinaigre | vinagre de vino blanco, vinagre | aceto di vino bianco, aceto
            balsamic vinegar | Balsamico | vinaigre balsamique | vinagre balsámico | aceto balsamico
            white wine | Weißwein | vin blanc | vino blanco | vino bianco
            red wine | Rotwein | vin rouge | vino tinto | vino rosso
            lemon | Zitrone, Zitronen | citron, citrons | limón, limones | limone, limoni
            lemon juice | Zitronensaft | jus de citron | zumo de limón, jugo de limón | succo di limone
            lime | Limette, Limetten | citron vert | lima, limas | lime
            orange | Orange, Orangen | orange, oranges | naranja, naranjas | arancia, arance
            apples | Äpfel, Apfel | pommes, pomme | manzanas, manzana | mele, mela
            bananas | Bananen, Banane | bananes, banane | plátanos, plátano | banane, banana
            strawberries | Erdbeeren | fraises | fresas | fragole
            plums | Pflaumen, Zwetschgen | prunes | ciruelas | prugne
            raisins | Rosinen | raisins secs | pasas | uvetta, uva passa
            dark chocolate | Zartbitterschokolade, dunkle Schokolade | chocolat noir | chocolate negro | cioccolato fondente
            cocoa | Kakao, Kakaopulver | cacao | cacao | cacao
            maple syrup | Ahornsirup | sirop d'érable | sirope de arce | sciroppo d'acero
            vanilla extract | Vanilleextrakt | extrait de vanille | extracto de vainilla | estratto di vaniglia
            parsley | Petersilie | persil | perejil | prezzemolo
            coriander | Koriander | coriandre | cilantro | coriandolo
            basil | Basilikum | basilic | albahaca | basilico
            mint | Minze | menthe | menta, hierbabuena | menta
            dill | Dill | aneth | eneldo | aneto
            chives | Schnittlauch | ciboulette | cebollino | erba cipollina
            thyme | Thymian | thym | tomillo | timo
            rosemary | Rosmarin | romarin | romero | rosmarino
            sage | Salbei | sauge | salvia | salvia
            oregano | Oregano | origan | orégano | origano
            bay leaves | Lorbeerblätter, Lorbeerblatt | feuilles de laurier, feuille de laurier, laurier | hojas de laurel, hoja de laurel, laurel | foglie di alloro, foglia di alloro, alloro
            ground cumin | Kreuzkümmel | cumin | comino | cumino
            turmeric | Kurkuma | curcuma | cúrcuma | curcuma
            curry powder | Currypulver, Curry | curry en poudre, curry | curry en polvo, curry | curry in polvere, curry
            cinnamon | Zimt | cannelle | canela | cannella
            nutmeg | Muskatnuss, Muskat | noix de muscade, muscade | nuez moscada | noce moscata
            olives | Oliven | olives | aceitunas | olive
            capers | Kapern | câpres | alcaparras | capperi
            polenta | Polenta, Maisgrieß | polenta | polenta | polenta
            semolina | Grieß, Hartweizengrieß | semoule fine | sémola | semola
            couscous | Couscous | semoule de couscous, couscous | cuscús | cuscus
            dough | Teig | pâte | masa | impasto, pasta frolla
            filling | Füllung | garniture, farce | relleno | ripieno
            sauce | Soße, Sauce | sauce | salsa | salsa, sugo
            of | von | des, du, de la, de l', de, d' | de, del | di, del, della, d'
            the | der, die, das, den, dem | le, la, les, l' | el, la, los, las | il, lo, la, i, gli, le, l'
            """;

    private TongueWords() {}
}
