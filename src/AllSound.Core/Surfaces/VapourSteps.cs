namespace AllSound.Core.Surfaces;

/// <summary>A resistance to water vapour, counted in hundredths of a metre of still air; the last step is "as much as one likes".</summary>
public enum VapourSteps : byte
{
    /// <summary>Nothing more.</summary>
    Step0,

    /// <summary>1 hundredths.</summary>
    Step1,

    /// <summary>2 hundredths.</summary>
    Step2,

    /// <summary>3 hundredths.</summary>
    Step3,

    /// <summary>4 hundredths.</summary>
    Step4,

    /// <summary>5 hundredths.</summary>
    Step5,

    /// <summary>6 hundredths.</summary>
    Step6,

    /// <summary>7 hundredths.</summary>
    Step7,

    /// <summary>8 hundredths.</summary>
    Step8,

    /// <summary>9 hundredths.</summary>
    Step9,

    /// <summary>10 hundredths.</summary>
    Step10,

    /// <summary>11 hundredths.</summary>
    Step11,

    /// <summary>12 hundredths.</summary>
    Step12,

    /// <summary>13 hundredths.</summary>
    Step13,

    /// <summary>14 hundredths.</summary>
    Step14,

    /// <summary>15 hundredths.</summary>
    Step15,

    /// <summary>16 hundredths.</summary>
    Step16,

    /// <summary>17 hundredths.</summary>
    Step17,

    /// <summary>18 hundredths.</summary>
    Step18,

    /// <summary>19 hundredths.</summary>
    Step19,

    /// <summary>20 hundredths.</summary>
    Step20,

    /// <summary>21 hundredths.</summary>
    Step21,

    /// <summary>22 hundredths.</summary>
    Step22,

    /// <summary>23 hundredths.</summary>
    Step23,

    /// <summary>24 hundredths.</summary>
    Step24,

    /// <summary>25 hundredths.</summary>
    Step25,

    /// <summary>26 hundredths.</summary>
    Step26,

    /// <summary>27 hundredths.</summary>
    Step27,

    /// <summary>28 hundredths.</summary>
    Step28,

    /// <summary>29 hundredths.</summary>
    Step29,

    /// <summary>30 hundredths.</summary>
    Step30,

    /// <summary>31 hundredths.</summary>
    Step31,

    /// <summary>32 hundredths.</summary>
    Step32,

    /// <summary>33 hundredths.</summary>
    Step33,

    /// <summary>34 hundredths.</summary>
    Step34,

    /// <summary>35 hundredths.</summary>
    Step35,

    /// <summary>36 hundredths.</summary>
    Step36,

    /// <summary>37 hundredths.</summary>
    Step37,

    /// <summary>38 hundredths.</summary>
    Step38,

    /// <summary>39 hundredths.</summary>
    Step39,

    /// <summary>40 hundredths.</summary>
    Step40,

    /// <summary>41 hundredths.</summary>
    Step41,

    /// <summary>42 hundredths.</summary>
    Step42,

    /// <summary>43 hundredths.</summary>
    Step43,

    /// <summary>44 hundredths.</summary>
    Step44,

    /// <summary>45 hundredths.</summary>
    Step45,

    /// <summary>46 hundredths.</summary>
    Step46,

    /// <summary>47 hundredths.</summary>
    Step47,

    /// <summary>48 hundredths.</summary>
    Step48,

    /// <summary>49 hundredths.</summary>
    Step49,

    /// <summary>50 hundredths.</summary>
    Step50,

    /// <summary>51 hundredths.</summary>
    Step51,

    /// <summary>52 hundredths.</summary>
    Step52,

    /// <summary>53 hundredths.</summary>
    Step53,

    /// <summary>54 hundredths.</summary>
    Step54,

    /// <summary>55 hundredths.</summary>
    Step55,

    /// <summary>56 hundredths.</summary>
    Step56,

    /// <summary>57 hundredths.</summary>
    Step57,

    /// <summary>58 hundredths.</summary>
    Step58,

    /// <summary>59 hundredths.</summary>
    Step59,

    /// <summary>60 hundredths.</summary>
    Step60,

    /// <summary>61 hundredths.</summary>
    Step61,

    /// <summary>62 hundredths.</summary>
    Step62,

    /// <summary>No limit.</summary>
    Step63,
}
